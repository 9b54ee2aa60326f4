import { comeIn, expect, test } from './sitting.js';

// Nobody else's tests come in as Mina: her language is kept, and the device is the same.
test.use({ adult: 'Mina', serviceWorkers: 'allow' });

test('an adult is spoken to in her own language, also without a network, and the next one in English', async ({
  signedIn: page,
  context,
}) => {
  await page.getByRole('link', { name: 'Settings', exact: true }).click();
  await page.getByRole('button', { name: 'Español' }).click();
  await page.getByRole('link', { name: 'Hoy', exact: true }).click();
  const children = page.getByRole('navigation', { name: 'Peques' });
  await page
    .getByRole('button', { name: /^¿Por qué/ })
    .first()
    .click();
  await expect(
    page
      .getByText(/Prueba/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'es');

  await children.getByRole('link', { name: 'Piers' }).click();
  await expect(page.getByRole('link', { name: 'Sentarse con Piers' })).toBeVisible();

  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByText('Sin conexión con el servidor.')).toBeVisible();
  await page.getByRole('link', { name: 'Ajustes', exact: true }).click();
  await page.getByRole('button', { name: 'English' }).click();
  await expect(page.getByRole('alert')).toContainText('No se ha cambiado nada.');
  await context.setOffline(false);
  await page.reload();

  await page.getByRole('button', { name: 'Mina' }).click();
  await page.getByRole('menuitem', { name: 'Bloquear la pantalla' }).click();
  await expect(page.getByText('Who is here?')).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'en');

  await comeIn(page, 'Mina');
  await page.getByRole('button', { name: 'Mina' }).click();
  await page.getByRole('menuitem', { name: 'Tus ajustes' }).click();
  await page.getByRole('button', { name: 'English' }).click();
  await expect(page.getByRole('navigation', { name: 'Children' })).toBeVisible();
});
