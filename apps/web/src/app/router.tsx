import { createBrowserRouter } from 'react-router';
import {
  childQuery,
  devicesQuery,
  movesQuery,
  officeQuery,
  queryClient,
  roomQuery,
  todayQuery,
  tryQuery,
} from '../api/queries.js';
import { childIdOf } from '../common/ids.js';
import { Shell } from '../common/Shell.js';
import { Entrance } from '../entrance/Entrance.js';
import { TodayPage } from '../today/TodayPage.js';
import { ahead } from './ahead.js';
import { Frame } from './Frame.js';
import { NotHere } from './NotHere.js';

export const router = createBrowserRouter([
  {
    // Nobody is let in here.
    ErrorBoundary: NotHere,
    HydrateFallback: Shell,
    children: [
      {
        // A screen that is turned to a child: nothing of any child comes onto it.
        path: 'childs-side',
        lazy: async () => ({ Component: (await import('../childSide/ChildSidePage.js')).ChildSidePage }),
      },
      {
        path: 'set-up',
        lazy: async () => ({ Component: (await import('../begin/SetUpPage.js')).SetUpPage }),
      },
      { path: 'pair', lazy: async () => ({ Component: (await import('../begin/PairPage.js')).PairPage }) },
      {
        path: 'forgotten',
        lazy: async () => ({ Component: (await import('../begin/ForgottenPage.js')).ForgottenPage }),
      },
    ],
  },
  {
    Component: Entrance,
    ErrorBoundary: NotHere,
    HydrateFallback: Shell,
    children: [
      {
        Component: Frame,
        children: [
          {
            // A page that breaks leaves the frame, and with it the way to another.
            ErrorBoundary: NotHere,
            children: [
              {
                index: true,
                loader: ahead((_, room) => queryClient.prefetchQuery(todayQuery(room.id))),
                // What the app opens with comes with the frame.
                Component: TodayPage,
              },
              {
                path: 'children/:childId',
                loader: ahead(({ childId }) => queryClient.prefetchQuery(childQuery(childIdOf(childId!)))),
                lazy: async () => ({ Component: (await import('../child/ChildPage.js')).ChildPage }),
              },
              {
                path: 'tries/:tryId',
                loader: ahead(({ tryId }) => queryClient.prefetchQuery(tryQuery(tryId!))),
                lazy: async () => ({ Component: (await import('../replay/ReplayPage.js')).ReplayPage }),
              },
              {
                path: 'room',
                loader: ahead((_, room) => queryClient.prefetchQuery(roomQuery(room.id))),
                lazy: async () => ({ Component: (await import('../room/RoomPage.js')).RoomPage }),
              },
              {
                path: 'seen',
                loader: ahead((_, room) => queryClient.prefetchQuery(todayQuery(room.id))),
                lazy: async () => ({ Component: (await import('../passing/PassingPage.js')).PassingPage }),
              },
              {
                path: 'shelf',
                loader: ahead((_, room) => queryClient.prefetchQuery(todayQuery(room.id))),
                lazy: async () => ({ Component: (await import('../shelf/ShelfPage.js')).ShelfPage }),
              },
              {
                path: 'shelf/write',
                lazy: async () => ({ Component: (await import('../own/WritePage.js')).WritePage }),
              },
              {
                path: 'shelf/file',
                lazy: async () => ({ Component: (await import('../own/FromFile.js')).FromFile }),
              },
              {
                path: 'stand-ins',
                lazy: async () => ({
                  Component: (await import('../standIns/StandInsPage.js')).StandInsPage,
                }),
              },
              {
                path: 'group',
                loader: ahead((_, room) => queryClient.prefetchQuery(todayQuery(room.id))),
                lazy: async () => ({ Component: (await import('../passing/GroupPage.js')).GroupPage }),
              },
              {
                path: 'hands',
                loader: ahead((_, room) => queryClient.prefetchQuery(todayQuery(room.id))),
                lazy: async () => ({ Component: (await import('../passing/ShowOfHands.js')).ShowOfHands }),
              },
              {
                path: 'settings',
                lazy: async () => ({ Component: (await import('../settings/SettingsPage.js')).SettingsPage }),
                children: [
                  {
                    index: true,
                    lazy: async () => ({
                      Component: (await import('../settings/OwnSettings.js')).OwnSettings,
                    }),
                  },
                  {
                    path: 'ways',
                    lazy: async () => ({ Component: (await import('../settings/WaysPage.js')).WaysPage }),
                  },
                  {
                    path: 'things',
                    lazy: async () => ({ Component: (await import('../own/ThingsPage.js')).ThingsPage }),
                  },
                  {
                    path: 'ideas',
                    loader: ahead((_, room) => queryClient.prefetchQuery(movesQuery(room.id))),
                    lazy: async () => ({ Component: (await import('../room/MovesPage.js')).MovesPage }),
                  },
                  {
                    path: 'languages',
                    lazy: async () => ({
                      Component: (await import('../languages/LanguagesPage.js')).LanguagesPage,
                    }),
                  },
                  {
                    path: 'devices',
                    loader: ahead(() => queryClient.prefetchQuery(devicesQuery)),
                    lazy: async () => ({
                      Component: (await import('../devices/DevicesPage.js')).DevicesPage,
                    }),
                  },
                ],
              },
              {
                path: 'office',
                loader: ahead(() => queryClient.prefetchQuery(officeQuery)),
                lazy: async () => ({ Component: (await import('../office/OfficePage.js')).OfficePage }),
                children: [
                  {
                    index: true,
                    lazy: async () => ({
                      Component: (await import('../office/ChildrenHere.js')).ChildrenHere,
                    }),
                  },
                  {
                    path: 'file',
                    lazy: async () => ({ Component: (await import('../office/file/FromFile.js')).FromFile }),
                  },
                  {
                    path: 'people',
                    lazy: async () => ({ Component: (await import('../office/People.js')).People }),
                  },
                  {
                    path: 'left',
                    lazy: async () => ({ Component: (await import('../office/Left.js')).Left }),
                  },
                  {
                    path: 'trail',
                    lazy: async () => ({ Component: (await import('../office/TrailPage.js')).TrailPage }),
                  },
                ],
              },
            ],
          },
        ],
      },
      {
        path: 'sit/:childIds',
        loader: ahead(({ childIds }) =>
          childIds!.split('+').map((id) => queryClient.prefetchQuery(childQuery(childIdOf(id)))),
        ),
        lazy: async () => ({ Component: (await import('../sitting/SittingPage.js')).SittingPage }),
      },
      {
        path: 'turned',
        lazy: async () => ({ Component: (await import('../standIns/TurnedPage.js')).TurnedPage }),
      },
      { path: '*', Component: NotHere },
    ],
  },
]);
