import { ChangeDetectionStrategy, Component, model } from '@angular/core';
import { NzModalModule } from 'ng-zorro-antd/modal';
import { COMMAND_KEYS } from './keys';

@Component({
  selector: 'lb-key-help',
  imports: [NzModalModule],
  template: `
    <nz-modal [nzVisible]="open()" nzTitle="Keys" [nzFooter]="null" nzWidth="380px" (nzOnCancel)="open.set(false)">
      <ng-container *nzModalContent>
        <dl>
          <div><dt><kbd>1</kbd> to <kbd>8</kbd></dt><dd>Stages, in the order of work</dd></div>
          @for (command of commands; track command.name) { <div><dt><kbd>{{ command.keys }}</kbd></dt><dd>{{ command.says }}</dd></div> }
          <div><dt><kbd>Up</kbd> <kbd>Down</kbd></dt><dd>On a layer's edge: thicker, thinner</dd></div>
          <div><dt><kbd>Ctrl K</kbd></dt><dd>Go to or do anything, by its words</dd></div>
          
        </dl>
      </ng-container>
    </nz-modal>
  `,
  styles: 'dl div { display: flex; padding: 4px 0; } dt { width: 130px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeyHelp {
  readonly open = model(false);
  protected readonly commands = COMMAND_KEYS;
}
