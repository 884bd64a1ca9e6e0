import { InjectionToken } from '@angular/core';

/** Whether scales, cameras, printers and lists that are not there are offered: in the demo, and nowhere else. */
export const MAY_PRACTISE = new InjectionToken<boolean>('MAY_PRACTISE');
