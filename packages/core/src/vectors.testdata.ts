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
  { fn: 'sineBarStack', input: { barLength: 100.0, angle: 0.498389 }, expect: { stack: 47.801113157708585 } },
  { fn: 'sineBarStack', input: { barLength: 200.0, angle: 0.533013 }, expect: { stack: 101.62613606363344 } },
  { fn: 'sineBarStack', input: { barLength: 200.0, angle: 0.030529 }, expect: { stack: 6.1048515897404085 } },
  {
    fn: 'pinBlock',
    input: { halfAngles: [0.116997, 0.030506, 0.030483], span: 56.18126, resolution: 0.01 },
    expect: {
      pins: [
        { x: 56.18126, y: 6.6000000000000005, yExact: 6.603195241033374, angleError: -5.6099197476316975e-5 },
        { x: 56.18126, y: 1.71, yExact: 1.7143973657842013, angleError: -7.819841115907708e-5 },
        { x: 56.18126, y: 1.71, yExact: 1.7131039944521138, angleError: -5.5198411159078364e-5 },
      ],
    },
  },
  {
    fn: 'pinBlock',
    input: { halfAngles: [0.192028, 0.170989, 0.010104], span: 48.874567, resolution: 0.01 },
    expect: {
      pins: [
        { x: 48.874567, y: 9.5, yExact: 9.502372708277367, angleError: -4.6779057758017384e-5 },
        { x: 48.874567, y: 8.44, yExact: 8.439422568081598, angleError: 1.1472473725238075e-5 },
        { x: 48.874567, y: 0.49, yExact: 0.49384543077671683, angleError: -7.867161780676646e-5 },
      ],
    },
  },
  {
    fn: 'pinBlock',
    input: { halfAngles: [0.099298, 0.196268, 0.085511], span: 36.573451, resolution: 0.0127 },
    expect: {
      pins: [
        { x: 36.573451, y: 3.6449, yExact: 3.643654005706067, angleError: 3.3733345368269774e-5 },
        { x: 36.573451, y: 7.2771, yExact: 7.271811546361854, angleError: 0.0001390953814681406 },
        { x: 36.573451, y: 3.1369, yExact: 3.1350774618600767, angleError: 4.946856885286455e-5 },
      ],
    },
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
    fn: 'halfAngleOverRollers',
    input: { lower: 27.627377, upper: 33.616584, height: 23.51286 },
    expect: { halfAngle: 0.1266782444038366 },
  },
  {
    fn: 'halfAngleOverRollers',
    input: { lower: 45.748605, upper: 47.122415, height: 42.349115 },
    expect: { halfAngle: 0.01621863338069221 },
  },
  {
    fn: 'halfAngleOverRollers',
    input: { lower: 28.514627, upper: 31.038089, height: 78.110389 },
    expect: { halfAngle: 0.016151773076679914 },
  },
  {
    fn: 'smallEndOverRollers',
    input: { measurement: 62.13646, rollerDiameter: 5.129016, halfAngle: 0.266611 },
    expect: { smallDiameter: 50.28977878217742 },
  },
  {
    fn: 'smallEndOverRollers',
    input: { measurement: 38.428409, rollerDiameter: 5.759922, halfAngle: 0.257769 },
    expect: { smallDiameter: 25.19324976138899 },
  },
  {
    fn: 'smallEndOverRollers',
    input: { measurement: 55.673426, rollerDiameter: 3.702329, halfAngle: 0.296897 },
    expect: { smallDiameter: 46.966686928813175 },
  },
  {
    fn: 'boreBetweenBalls',
    input: {
      largeBall: 20.331084,
      smallBall: 18.556251,
      largeBallDepth: 3.181518,
      smallBallDepth: 39.868663,
    },
    expect: { halfAngle: 0.024790897670166, mouthDiameter: 20.999240029581507 },
  },
  {
    fn: 'boreBetweenBalls',
    input: {
      largeBall: 22.408119,
      smallBall: 21.187922999999998,
      largeBallDepth: -2.279063,
      smallBallDepth: 47.482044,
    },
    expect: { halfAngle: 0.01241304462279021, mouthDiameter: 22.631429614100437 },
  },
  {
    fn: 'boreBetweenBalls',
    input: {
      largeBall: 21.075323,
      smallBall: 18.271471000000002,
      largeBallDepth: -0.026368,
      smallBallDepth: 43.596243,
    },
    expect: { halfAngle: 0.0332108241322492, mouthDiameter: 21.785385190604945 },
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
    fn: 'threeJawPacking',
    input: { diameter: 33.761286, throw: 7.626019, jaws: 'wide' },
    expect: { packing: 11.439028500000001 },
  },
  {
    fn: 'threeJawPacking',
    input: { diameter: 62.247395, throw: 3.660929, jaws: 'narrow' },
    expect: { packing: 5.3294909288187355 },
  },
  {
    fn: 'threeJawPacking',
    input: { diameter: 27.633308, throw: 4.342669, jaws: 'wide' },
    expect: { packing: 6.514003499999999 },
  },
  {
    fn: 'fourJawOffset',
    input: { readings: [-1.046371, 0.818318, -0.972074, 1.294871] },
    expect: { x: -0.03714849999999997, y: -0.23827650000000006 },
  },
  {
    fn: 'fourJawOffset',
    input: { readings: [0.385865, -0.826259, -1.298266, 0.881413] },
    expect: { x: 0.8420654999999999, y: -0.853836 },
  },
  {
    fn: 'fourJawOffset',
    input: { readings: [-1.724896, -1.086415, 0.237465, 1.4096] },
    expect: { x: -0.9811805, y: -1.2480075 },
  },
  {
    fn: 'valveAdvance',
    input: { throw: 8.528727, lap: 0.564285, lead: 0.371076 },
    expect: { angle: 0.10989287086379955 },
  },
  {
    fn: 'valveAdvance',
    input: { throw: 4.83581, lap: 0.221547, lead: 0.144218 },
    expect: { angle: 0.07570906485543029 },
  },
  {
    fn: 'valveAdvance',
    input: { throw: 7.01135, lap: 0.278592, lead: 0.111689 },
    expect: { angle: 0.055692959154253846 },
  },
  {
    fn: 'flatFormTool',
    input: {
      smallRadius: 11.744493,
      radii: [15.263076, 12.707648, 14.044935],
      rake: 0.178188,
      clearance: 0.246684,
    },
    expect: { depths: [3.2452331063966082, 0.890546778087066, 2.124004405224652] },
  },
  {
    fn: 'flatFormTool',
    input: {
      smallRadius: 17.795573,
      radii: [22.004658, 21.385327, 18.809587],
      rake: 0.007016,
      clearance: 0.083042,
    },
    expect: { depths: [4.192111200867332, 3.575279811780968, 1.009928243276822] },
  },
  {
    fn: 'flatFormTool',
    input: {
      smallRadius: 23.114462,
      radii: [27.380088, 28.898533999999998, 23.437765],
      rake: 0.127237,
      clearance: 0.16198,
    },
    expect: { depths: [4.1165414159326, 5.579899691719086, 0.3123655163307069] },
  },
  {
    fn: 'circularFormTool',
    input: {
      smallRadius: 19.340458,
      radii: [21.390104, 25.336732, 19.976983],
      toolRadius: 30.921907,
      rake: 0.147401,
      clearance: 0.233033,
    },
    expect: { toolRadii: [29.010151975242596, 25.40731089869707, 30.32556255240143] },
  },
  {
    fn: 'circularFormTool',
    input: {
      smallRadius: 19.478851,
      radii: [23.760257, 24.279798, 24.985865999999998],
      toolRadius: 27.036682,
      rake: 0.137029,
      clearance: 0.233142,
    },
    expect: { toolRadii: [23.06725727641834, 22.594908979043808, 21.956833266667505] },
  },
  {
    fn: 'circularFormTool',
    input: {
      smallRadius: 22.293126,
      radii: [24.912614, 27.078212, 27.501268],
      toolRadius: 31.45615,
      rake: 0.124992,
      clearance: 0.144997,
    },
    expect: { toolRadii: [28.92237353673502, 26.845364381491226, 26.44173387237507] },
  },
  {
    fn: 'scallopHeight',
    input: { step: 0.603545, noseRadius: 3.887881 },
    expect: { height: 0.011729296518213861 },
  },
  {
    fn: 'scallopHeight',
    input: { step: 0.126192, noseRadius: 4.052783 },
    expect: { height: 0.000491186732721971 },
  },
  {
    fn: 'scallopHeight',
    input: { step: 0.993656, noseRadius: 5.350876 },
    expect: { height: 0.0231151283211668 },
  },
  {
    fn: 'theoreticalFinish',
    input: { feed: 0.296719, noseRadius: 0.743811 },
    expect: { peakToValley: 0.014795789011086151, ra: 0.003796601230410443 },
  },
  {
    fn: 'theoreticalFinish',
    input: { feed: 0.299314, noseRadius: 1.013334 },
    expect: { peakToValley: 0.011051251437828003, ra: 0.00283575244111655 },
  },
  {
    fn: 'theoreticalFinish',
    input: { feed: 0.187399, noseRadius: 1.373718 },
    expect: { peakToValley: 0.003195559896663653, ra: 0.0008199810518001481 },
  },
  {
    fn: 'handFeedPace',
    input: { spindleSpeed: 148.701422, feedPerRev: 0.117527, travelPerTurn: 1.0 },
    expect: { turnsPerMinute: 17.476432023394, secondsPerTurn: 3.433195054899297 },
  },
  {
    fn: 'handFeedPace',
    input: { spindleSpeed: 334.392692, feedPerRev: 0.031405, travelPerTurn: 1.0 },
    expect: { turnsPerMinute: 10.501602492260002, secondsPerTurn: 5.713413742733246 },
  },
  {
    fn: 'handFeedPace',
    input: { spindleSpeed: 268.781748, feedPerRev: 0.110784, travelPerTurn: 2.54 },
    expect: { turnsPerMinute: 11.72311699623307, secondsPerTurn: 5.118092740973198 },
  },
  {
    fn: 'spindleSpeed',
    input: { surfaceSpeed: 118.092191, diameter: 133.385791 },
    expect: { rpm: 281.8134644971627 },
  },
  {
    fn: 'spindleSpeed',
    input: { surfaceSpeed: 75.513109, diameter: 179.698017 },
    expect: { rpm: 133.76090361183108 },
  },
  {
    fn: 'spindleSpeed',
    input: { surfaceSpeed: 58.352946, diameter: 32.071194 },
    expect: { rpm: 579.1589673820341 },
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
  {
    fn: 'compoundInfeed',
    input: { radial: 0.249069, compoundAngle: 0.814042 },
    expect: { slideTravel: 0.34256621184568997, axial: 0.23519405336297539 },
  },
  {
    fn: 'compoundInfeed',
    input: { radial: 0.258093, compoundAngle: 1.1054 },
    expect: { slideTravel: 0.28880971106208986, axial: 0.12961115906729562 },
  },
  {
    fn: 'compoundInfeed',
    input: { radial: 0.805677, compoundAngle: 1.25838 },
    expect: { slideTravel: 0.8466607399526048, axial: 0.2602287075787228 },
  },
  {
    fn: 'diameterAt20',
    input: { diameter: 32.032107, temperature: 28.706764, expansion: 1.9e-5 },
    expect: { diameterAt20: 32.02680885253931 },
  },
  {
    fn: 'diameterAt20',
    input: { diameter: 74.141791, temperature: 36.685974, expansion: 1.9e-5 },
    expect: { diameterAt20: 74.11829301770585 },
  },
  {
    fn: 'diameterAt20',
    input: { diameter: 24.800801, temperature: 39.358121, expansion: 1.15e-5 },
    expect: { diameterAt20: 24.795281114401522 },
  },
];
