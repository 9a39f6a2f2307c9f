import { cylinder, thread } from './features';
import { ask, type Starter } from './starter';

/** A plug with a thread and a head. */
export const plug: Starter = {
  id: 'plug',
  name: 'Threaded plug',
  asks: [
    ask('head', 'Head, diameter', '30 mm'),
    ask('high', 'Head, height', '10 mm'),
    ask('thread', 'Thread, diameter', '20 mm'),
    ask('pitch', 'Pitch', '1.5 mm'),
    ask('long', 'Thread, length', '20 mm'),
  ],
  make: ({ figure }) => {
    const [diameter, pitch] = [figure('thread'), figure('pitch')];
    const plain = (value: number): string => String(Number(value.toFixed(3)));
    const name = `M${plain(diameter.value)}x${plain(pitch.value)}`;
    return {
      title: `Threaded plug, ${name}`,
      mate: '',
      features: [
        cylinder('Head', figure('head'), figure('high')),
        thread('Thread', name, { diameter, pitch, length: figure('long') }, 'external'),
      ],
    };
  },
};
