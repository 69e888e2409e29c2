import { Injectable } from '@angular/core';
import { Subject } from 'rxjs';

export interface TabNews {
  readonly id: string;
  readonly version: number;
}

/** Word between the tabs of one browser about what has been saved. */
@Injectable({ providedIn: 'root' })
export class OtherTabs {
  private readonly channel = new BroadcastChannel('lift-bare.saved');
  private readonly heard = new Subject<TabNews>();
  readonly news = this.heard.asObservable();

  constructor() {
    this.channel.onmessage = (event: MessageEvent<TabNews>) => this.heard.next(event.data);
  }

  tell(id: string, version: number): void {
    this.channel.postMessage({ id, version });
  }
}
