import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';
import { drawSign, SIGN_IDS, SIGNS, type SignId } from '@lift-bare/core';
import { SignShapes } from './sign-shapes';

const SHARES = [0.2, 0.55, 0.95] as const;
/** pH 3, 7 and 12 on a strip from 0 to 14. */
const PAPER = [3 / 14, 0.5, 12 / 14] as const;
/** What lies under a sign: paint, or bare metal. */
const ON_METAL: readonly SignId[] = ['beads', 'tinge', 'fog', 'filler', 'hole', 'paper'];

/** What a face shows, what it means and what to do: drawn by the same shapes as the practice bench. */
@Component({
  selector: 'lb-signs-page',
  imports: [RouterLink, SignShapes],
  template: `
    <div class="top no-print"><div><h1>Signs</h1><p class="lead">What a face shows, what it means, and what to do about it. Common practice, no source, unless said.</p></div><div class="links"><button type="button" class="link" (click)="print()">Print</button> <a routerLink="/practice">Practice</a></div></div>
    <main>
      @for (sign of signs; track sign.id) {
        <article>
          <h2>{{ sign.name }}</h2>
          <div class="row">
            @for (drawn of sign.drawn; track $index) { <svg viewBox="0 0 100 100" role="img" [attr.aria-label]="sign.name + ', ' + drawn.says" [style.--face]="sign.face"><rect width="100" height="100" fill="var(--face)" /><svg:g lbShapes [shapes]="drawn.shapes" /></svg> }
          </div>
          <p class="soft small">{{ sign.of }}: {{ sign.says }}</p>
          <p>{{ sign.means }}</p>
          <p><b>Do:</b> {{ sign.does }}</p>
        </article>
      }
    </main>
  `,
  styles: `
    :host { display: block; max-width: 1240px; margin: 0 auto; padding: 18px 22px 40px; }
    .top { display: flex; align-items: flex-start; gap: 20px; }
    .top > div:first-child { flex: 1; }
    main { display: grid; grid-template-columns: repeat(auto-fill, minmax(270px, 1fr)); gap: 26px 28px; }
    article { break-inside: avoid; }
    .row { display: grid; grid-template-columns: repeat(3, 1fr); gap: 5px; margin: 7px 0 5px; }
    svg { display: block; width: 100%; aspect-ratio: 1; border-radius: 4px; }
    p + p { margin-top: 5px; }
    @media print { main { grid-template-columns: repeat(3, 1fr); gap: 12px 16px; } :host { padding: 0; } }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SignsPage {
  protected readonly signs = SIGN_IDS.map((id) => {
    const shares = id === 'paper' ? PAPER : SHARES;
    const says = shares.map((share) => (id === 'paper' ? `pH ${Math.round(share * 14)}` : `${Math.round(share * 100)} %`));
    return {
      id,
      ...SIGNS[id],
      face: ON_METAL.includes(id) ? '#9aa3a8' : '#3f6076',
      says: says.join(', '),
      drawn: shares.map((share, i) => ({ shapes: drawSign(id, share, 3), says: says[i] })),
    };
  });

  protected print(): void {
    window.print();
  }
}
