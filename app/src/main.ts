import { bootstrapApplication } from '@angular/platform-browser';
import { appConfig } from './shell/app-config';
import { Root } from './shell/root';
import { trustOwn } from './shell/trusted';

trustOwn();
bootstrapApplication(Root, appConfig).catch((error: unknown) => console.error(error));
