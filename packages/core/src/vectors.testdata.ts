/** Checked cases, proved against brute-force geometry; compared to 1e-9 relative. */
export const VECTORS: readonly { fn: string; input: object; expect: object }[] = [
  {
    fn: 'tailstockSetOver',
    input: { workLength: 304.284959, halfAngle: 0.091324 },
    expect: { setOver: 27.74990931963883, shopRule: 27.866030946559317, difference: 0.11612162692048338 },
  },
  {
    fn: 'tailstockSetOver',
    input: { workLength: 559.073715, halfAngle: 0.076641 },
    expect: { setOver: 42.80603386989553, shopRule: 42.932060251748325, difference: 0.12602638185279016 },
  },
  {
    fn: 'tailstockSetOver',
    input: { workLength: 334.234287, halfAngle: 0.095632 },
    expect: { setOver: 31.914795362931976, shopRule: 32.06129160500254, difference: 0.14649624207056158 },
  },
  {
    fn: 'compoundCheck',
    input: { halfAngle: 0.11895, slideTravel: 43.393148 },
    expect: { radial: 5.149451526359525, axial: 43.08652274583756 },
  },
  {
    fn: 'compoundCheck',
    input: { halfAngle: 0.381631, slideTravel: 64.473265 },
    expect: { radial: 24.012076428058542, axial: 59.83495705165418 },
  },
  {
    fn: 'compoundCheck',
    input: { halfAngle: 0.065533, slideTravel: 27.755095 },
    expect: { radial: 1.8175730381740471, axial: 27.695518170092573 },
  },
  {
    fn: 'halfAngleFromIndicator',
    input: { travel: 16.346938, radial: 3.276649, travelAlong: 'slide' },
    expect: { halfAngle: 0.2018113071401336 },
  },
  {
    fn: 'halfAngleFromIndicator',
    input: { travel: 51.680555, radial: 1.705408, travelAlong: 'axis' },
    expect: { halfAngle: 0.03298705630303033 },
  },
  {
    fn: 'halfAngleFromIndicator',
    input: { travel: 55.774577, radial: 2.539138, travelAlong: 'slide' },
    expect: { halfAngle: 0.04554074682972921 },
  },
  {
    fn: 'attachmentCheck',
    input: { halfAngle: 0.097238, carriageTravel: 211.291374, lash: 0.028318 },
    expect: { radial: 20.610550765486902, diametral: 41.221101530973804, takeUp: 0.29030515472450785 },
  },
  {
    fn: 'attachmentCheck',
    input: { halfAngle: 0.014991, carriageTravel: 222.299944, lash: 0.183889 },
    expect: { radial: 3.3327481204961225, diametral: 6.665496240992245, takeUp: 12.265707735552096 },
  },
  {
    fn: 'attachmentCheck',
    input: { halfAngle: 0.118935, carriageTravel: 95.047471, lash: 0.181378 },
    expect: { radial: 11.35807689125997, diametral: 22.71615378251994, takeUp: 1.5178203458284207 },
  },
  {
    fn: 'attachmentBarShift',
    input: { pivotLength: 139.064276, fromHalfAngle: 0.031028, toHalfAngle: 0.036474 },
    expect: { shift: 0.7582092963880974 },
  },
  {
    fn: 'attachmentBarShift',
    input: { pivotLength: 100.918754, fromHalfAngle: 0.017649, toHalfAngle: 0.068932 },
    expect: { shift: 5.186270755285399 },
  },
  {
    fn: 'attachmentBarShift',
    input: { pivotLength: 181.355748, fromHalfAngle: 0.059614, toHalfAngle: 0.093852 },
    expect: { shift: 6.246582952578585 },
  },
  {
    fn: 'stockFromStandOff',
    input: { standOff: 0.778862, halfAngle: 0.104487 },
    expect: { diameter: 0.16335682524467884, radius: 0.08167841262233942 },
  },
  {
    fn: 'stockFromStandOff',
    input: { standOff: 2.7165, halfAngle: 0.053569 },
    expect: { diameter: 0.2913190904122568, radius: 0.1456595452061284 },
  },
  {
    fn: 'stockFromStandOff',
    input: { standOff: -1.787907, halfAngle: 0.067407 },
    expect: { diameter: -0.24140062272660917, radius: -0.12070031136330459 },
  },
  {
    fn: 'advanceFromInfeed',
    input: { infeed: 0.55448, dial: 'radius', halfAngle: 0.044494 },
    expect: { advance: 12.453680212670692 },
  },
  {
    fn: 'advanceFromInfeed',
    input: { infeed: 0.069617, dial: 'radius', halfAngle: 0.075092 },
    expect: { advance: 0.9253462216199028 },
  },
  {
    fn: 'advanceFromInfeed',
    input: { infeed: 0.297226, dial: 'radius', halfAngle: 0.072639 },
    expect: { advance: 4.084624685375589 },
  },
  {
    fn: 'toolHeightError',
    input: { smallDiameter: 48.283656, length: 68.372453, halfAngle: 0.098313, height: 0.586441 },
    expect: { largeDiameterError: -0.0031109554851980192, midDiameterError: -0.0001906088428285102 },
  },
  {
    fn: 'toolHeightError',
    input: { smallDiameter: 15.678764, length: 35.413532, halfAngle: 0.146721, height: 0.508483 },
    expect: { largeDiameterError: -0.013220872047451593, midDiameterError: -0.0016538741205387453 },
  },
  {
    fn: 'toolHeightError',
    input: { smallDiameter: 18.47894, length: 38.980067, halfAngle: 0.122217, height: 0.704648 },
    expect: { largeDiameterError: -0.018375565622982037, midDiameterError: -0.0018896871522464664 },
  },
  {
    fn: 'ratioErrorFromSwing',
    input: { swing: 0.061952, distance: 71.839462 },
    expect: { ratioError: 0.0008623672599329878 },
  },
  {
    fn: 'ratioErrorFromSwing',
    input: { swing: 0.07587, distance: 54.252427 },
    expect: { ratioError: 0.001398462782135074 },
  },
  {
    fn: 'ratioErrorFromSwing',
    input: { swing: 0.09317, distance: 69.831104 },
    expect: { ratioError: 0.001334219204095642 },
  },
];
