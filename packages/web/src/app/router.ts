import { useOutbox } from '../data/stores/outbox';
import { isBack, isUnfetched, placeUnfetched } from '../data/unfetched';
import { VIEWS } from '../job/model/kind';
import { createRouter, createWebHistory } from 'vue-router';

const rack = () => import('../places/rack/RackPlace.vue');
const tapers = () => import('../places/tapers/TapersPlace.vue');
const kitThing = () => import('../places/shop/KitThingPlace.vue');

/** Places that are of use with the server away, fetched before they are wanted. */
export const fetchAhead = (): unknown =>
  rack()
    .then(tapers)
    .catch(() => undefined);

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/rack' },
    {
      path: '/rack',
      name: 'rack',
      component: rack,
      meta: { title: 'Rack' },
    },
    {
      path: '/new',
      name: 'new',
      component: () => import('../places/rack/NewPlace.vue'),
      meta: { title: 'New job' },
    },
    {
      path: '/tapers/:series?/:size?',
      name: 'tapers',
      component: tapers,
      props: true,
      meta: { title: 'Tapers' },
    },
    {
      path: '/identify',
      name: 'identify',
      component: () => import('../places/old-part/IdentifyPlace.vue'),
      meta: { title: 'Copy an old part' },
    },
    {
      path: '/log',
      name: 'log',
      component: () => import('../places/log/LogPlace.vue'),
      meta: { title: 'Logbook' },
    },
    {
      path: '/lost',
      name: 'lost',
      component: () => import('../places/log/LostPlace.vue'),
      meta: { title: 'What was lost' },
    },
    {
      path: '/machines',
      name: 'machines',
      component: () => import('../places/shop/MachinesPlace.vue'),
      meta: { title: 'Machines' },
    },
    {
      path: '/machines/:id',
      name: 'machine',
      component: () => import('../places/shop/MachinePlace.vue'),
      props: true,
      meta: { title: 'Machine' },
    },
    {
      path: '/kit',
      name: 'kit',
      component: () => import('../places/shop/KitPlace.vue'),
      meta: { title: 'Kit' },
    },
    {
      path: '/kit/new/:kind',
      name: 'kit-new',
      component: kitThing,
      props: true,
      meta: { title: 'Kit' },
    },
    {
      path: '/kit/:id',
      name: 'kit-thing',
      component: kitThing,
      props: true,
      meta: { title: 'Kit' },
    },
    {
      path: '/people',
      name: 'people',
      component: () => import('../places/shop/PeoplePlace.vue'),
      meta: { title: 'People' },
    },
    {
      path: '/book',
      name: 'book',
      component: () => import('../places/shop/BookPlace.vue'),
      meta: { title: 'The book' },
    },
    {
      path: '/practice/:exercise?',
      name: 'practice',
      component: () => import('../places/practice/PracticePlace.vue'),
      meta: { title: 'Practice' },
    },
    {
      path: '/pin-block',
      name: 'pin-block',
      component: () => import('../places/shop/PinBlockPlace.vue'),
      meta: { title: 'Pin block' },
    },
    {
      path: `/job/:id/:stage(${VIEWS.join('|')})?/:of?`,
      name: 'job',
      component: () => import('../job/frame/JobPlace.vue'),
      props: true,
      meta: { title: 'Job' },
    },
    {
      path: '/:rest(.*)*',
      name: 'nowhere',
      component: () => import('./NowherePlace.vue'),
      meta: { title: 'Not here' },
    },
  ],
});

/** A view that could not be fetched while the server was away is remembered as missing: with the server back the page begins anew. */
router.onError(async (error, to) => {
  if (!isUnfetched(error)) return;
  if (await isBack()) return window.location.assign(to.fullPath);
  placeUnfetched.value = String(to.meta['title']);
  useOutbox().noticeAway();
});

router.afterEach((to) => {
  placeUnfetched.value = null;
  document.title = `${String(to.meta['title'] ?? '')} · Anello`;
});
