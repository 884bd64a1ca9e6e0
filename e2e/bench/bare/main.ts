// A bare page of the same libraries, each of them used once: what the first load of the application is measured against.
import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { bootstrapApplication } from '@angular/platform-browser';
import { provideRouter } from '@angular/router';
import Aura from '@primeuix/themes/aura';
import { Dexie } from 'dexie';
import { Button } from 'primeng/button';
import { providePrimeNG } from 'primeng/config';
import { InputText } from 'primeng/inputtext';
import { Select } from 'primeng/select';
import * as z from 'zod';

const Take = z.strictObject({ unit: z.enum(['kg', 'lb']) });
const database = new Dexie('bare');
database.version(1).stores({ takes: '++id' });

@Component({
  selector: 'v-root',
  imports: [Button, FormsModule, InputText, Select],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-select [options]="units" [(ngModel)]="unit" ariaLabel="Unit" />
    <input pInputText aria-label="Weight" />
    <p-button label="Take" (onClick)="take()" />
  `,
})
class Bare {
  protected readonly units = ['kg', 'lb'];
  protected readonly unit = signal('kg');

  protected take(): void {
    void database.table('takes').add(Take.parse({ unit: this.unit() }));
  }
}

bootstrapApplication(Bare, {
  providers: [
    provideZonelessChangeDetection(),
    provideRouter([]),
    providePrimeNG({ theme: { preset: Aura, options: { darkModeSelector: '.dim' } } }),
  ],
}).catch((error: unknown) => {
  console.error(error);
});
