import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { findTerms } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';

/** The words of the program, each with its one meaning; what is looked for stands in the address. */
@Component({
  selector: 'lb-words-page',
  imports: [NzInputModule, RouterLink],
  template: `
    <div class="top"><div><h1>Words</h1><p class="lead">What the program means by a word of the trade. One word for one thing, everywhere.</p></div><a routerLink="/">All jobs</a></div>
    <main>
      <div class="field"><label class="sr" for="word">Find a word</label><input nz-input id="word" type="search" placeholder="Find a word, also by what others call it" [value]="find() ?? ''" (input)="look($any($event.target).value)" /></div>
      <dl>
        @for (term of terms(); track term.name) {
          <div>
            <dt>{{ term.name }} @if (term.also.length > 0) { <span class="soft">also {{ term.also.join(', ') }}</span> }</dt>
            <dd>{{ term.means }} @for (other of term.see; track other) { <a class="link" routerLink="/words" [queryParams]="{ find: other }">{{ other }}</a>{{ $last ? '' : ', ' }} }</dd>
          </div>
        } @empty { <p class="soft">No such word. If it stands on a page of the program it is missing here.</p> }
      </dl>
    </main>
  `,
  styles: `
    :host { display: block; max-width: 1080px; margin: 0 auto; padding: 18px 22px 40px; }
    .top { display: flex; align-items: flex-start; gap: 20px; } .top > div { flex: 1; }
    .field { max-width: 420px; margin-bottom: 16px; }
    dl { columns: 2; column-gap: 44px; }
    dl div { break-inside: avoid; padding: 8px 0; border-bottom: 1px solid var(--line); }
    dt { font-weight: 620; } dt span { font-weight: 400; font-size: 12px; margin-left: 6px; }
    @media (max-width: 760px) { dl { columns: 1; } :host { padding: 12px 14px 30px; } }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WordsPage {
  /** from the address */
  readonly find = input<string>();
  private readonly router = inject(Router);
  protected readonly terms = computed(() => findTerms(this.find() ?? ''));

  protected look(text: string): void {
    void this.router.navigate([], { queryParams: { find: text === '' ? null : text }, replaceUrl: true });
  }
}
