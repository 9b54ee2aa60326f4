import { createBrowserRouter } from 'react-router';
import { Entrance } from '../entrance/Entrance.js';
import { Frame } from './Frame.js';
import { NotHere } from './NotHere.js';

export const router = createBrowserRouter([
  {
    Component: Entrance,
    ErrorBoundary: NotHere,
    HydrateFallback: () => null,
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
                lazy: async () => ({ Component: (await import('../today/TodayPage.js')).TodayPage }),
              },
              {
                path: 'children/:childId',
                lazy: async () => ({ Component: (await import('../child/ChildPage.js')).ChildPage }),
              },
              {
                path: 'tries/:tryId',
                lazy: async () => ({ Component: (await import('../replay/ReplayPage.js')).ReplayPage }),
              },
              {
                path: 'room',
                lazy: async () => ({ Component: (await import('../room/RoomPage.js')).RoomPage }),
              },
              {
                path: 'seen',
                lazy: async () => ({ Component: (await import('../passing/PassingPage.js')).PassingPage }),
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
                    path: 'ideas',
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
                    lazy: async () => ({
                      Component: (await import('../devices/DevicesPage.js')).DevicesPage,
                    }),
                  },
                ],
              },
              {
                path: 'office',
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
                ],
              },
            ],
          },
        ],
      },
      {
        path: 'sit/:childIds',
        lazy: async () => ({ Component: (await import('../sitting/SittingPage.js')).SittingPage }),
      },
      { path: '*', Component: NotHere },
    ],
  },
]);
