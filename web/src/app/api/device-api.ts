import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { GaugeKind, GaugeReading } from '@lift-bare/core';
import type { Observable } from 'rxjs';

/** A screen that listens to the shop now. */
export interface ConnectedScreen {
  readonly name: string;
  readonly address: string;
  readonly browser: string;
  readonly since: string;
}

export interface Connected {
  readonly screens: readonly ConnectedScreen[];
  /** under which other screens reach the shop; none: it answers this machine alone */
  readonly addresses: readonly string[];
}

/** An instrument of the shop. */
export interface GaugeOffered {
  readonly kind: GaugeKind;
  readonly where: string;
  readonly name: string;
  readonly unit: string;
}

/** Screens and instruments around the server. */
@Injectable({ providedIn: 'root' })
export class DeviceApi {
  private readonly http = inject(HttpClient);

  connected = (): Observable<Connected> => this.http.get<Connected>('/api/v1/connected');
  gauges = (): Observable<readonly GaugeOffered[]> => this.http.get<GaugeOffered[]>('/api/v1/gauges');
  /** @param about what is likely to be read; a stand-in goes by it, a real instrument does not */
  read = (kind: GaugeKind, about: number | null): Observable<GaugeReading> =>
    this.http.post<GaugeReading>(`/api/v1/gauges/${kind}/read`, {}, { params: about === null ? {} : { about } });
}
