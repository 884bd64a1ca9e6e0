// A bare page of the same libraries: what the first load of the application is measured against.
import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { bootstrapApplication } from '@angular/platform-browser';
import { provideRouter } from '@angular/router';
import Aura from '@primeuix/themes/aura';
import { Button } from 'primeng/button';
import { providePrimeNG } from 'primeng/config';
import { InputText } from 'primeng/inputtext';
import { Select } from 'primeng/select';

@Component({
  selector: 'v-root',
  imports: [Button, FormsModule, InputText, Select],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-select [options]="units" [(ngModel)]="unit" ariaLabel="Unit" />
    <input pInputText aria-label="Weight" />
    <p-button label="Take" />
  `,
})
class Bare {
  protected readonly units = ['kg', 'lb'];
  protected readonly unit = signal('kg');
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
