import { describe, expect, it } from 'vitest';
import { routeLocationKey } from 'vue-router';
import { useMounted } from '../testkit/mounted';
import RoomTabs from './RoomTabs.vue';

const { mount } = useMounted();
const ROOMS = [
  { to: '/kit', label: 'Kit' },
  { to: '/kitchen', label: 'Kitchen' },
];

describe('the rooms of a place', () => {
  it.each([
    ['/kit', ['Kit']],
    ['/kit/new/drills', ['Kit']],
    ['/kitchen', ['Kitchen']],
    ['/machines', []],
  ])('at %s show %j', (path, on) => {
    const host = mount(RoomTabs, { label: 'Rooms', rooms: ROOMS }, [[routeLocationKey, { path }]]);
    expect([...host.querySelectorAll('a.on')].map((a) => a.textContent)).toEqual(on);
  });
});
