// @vitest-environment jsdom
// The language comes first: what is taken in after it speaks it.
import { notMadeUp } from '../testing/madeUpLanguage.ts';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { timeOf } from '@prompt-spark/core/testing/drills';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Component } from 'vue';
import { fakeBrowser } from '../testing/fakeBrowser.ts';
import { mountPart, settled, takeAway } from '../testing/mountPart.ts';

const PARTS = import.meta.glob<{ readonly default: Component }>('../*/**/*.vue');
const OPEN = { modelValue: true };

afterEach(takeAway);

describe('in another language', () => {
  it.each<[string, Record<string, unknown>?]>([
    ['door/OpenStudioForm'],
    ['door/PasswordDialog'],
    ['door/SignInForm'],
    ['drills/DrillFilters', { wish: {}, words: '' }],
    ['fields/CsvFile', { name: '1', out: '', write: () => '', read: () => '' }],
    ['fields/DoseAmounts', { dose: timeOf(30) }],
    ['fields/TimeLeft', { modelValue: 300 }],
    ['fit/FitDials'],
    ['fit/MoveList', { moves: [], kept: [{ kind: 'ceilings' }], busy: false }],
    ['loading/MoreBelow'],
    ['log/EffortScale'],
    ['log/HowItWas', { modelValue: { effort: 4, warm: null, note: '' } }],
    ['log/LogFilters'],
    ['offline/UpdateOffer'],
    ['people/LimitChips', { document: { limits: [], stiffer: {}, measured: [] } }],
    ['person/LimitChoice', { limits: [] }],
    ['schedule/BookingForm'],
    ['schedule/RepeatFields', { modelValue: { every: 'week', until: '', weekdays: [1] }, start: '2026-12-01' }],
    ['sheet/header/SheetSettings'],
    ['sheet/header/StartQuestion', { ...OPEN, unread: 2 }],
    ['sheet/header/WhoAndWhen'],
    ['sheet/rows/SheetRows'],
    ['shell/AppRail'],
    ['shell/DemoBanner'],
    ['shell/NowherePage'],
    ['stage/StageHelp', OPEN],
    ['stage/StageWaiting', { counting: 0, kit: [], checked: false }],
    ['stage/StopQuestion', OPEN],
    ['studio/ApproachForm', { start: { ...APPROACHES[0], name: '', says: '' } }],
    ['studio/SessionForm', { start: { ...MAIN_SESSIONS[0], name: '', words: [], needs: {} } }],
    ['studio/TimesForm'],
    ['studio/WordForm'],
  ])('%s says nothing in English', async (name, props = {}) => {
    vi.useFakeTimers();
    fakeBrowser(() => 'away');
    const { default: part } = (await PARTS[`../${name}.vue`]?.()) ?? {};
    if (!part) throw new Error(`There is no ${name}.`);
    mountPart(part, props);
    await settled();
    expect(document.body.textContent).toContain('⟦');
    expect(notMadeUp()).toEqual([]);
  });
});
