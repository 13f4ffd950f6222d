import type { ThemeDefinition } from 'vuetify';

/** The two ends of the effort ramp, one family from straw to rust. */
const EFFORT = { 'effort-low': '#F0E0AC', 'effort-high': '#9A3412' };

/** Planning: paper and ink. */
export const paper: ThemeDefinition = {
  dark: false,
  colors: {
    background: '#F6F1E7',
    'on-background': '#2B1E34',
    surface: '#FFFCF6',
    'on-surface': '#2B1E34',
    'surface-variant': '#2B1E34',
    'on-surface-variant': '#F8EFE0',
    line: '#DDD3C2',
    soft: '#6A5E72',
    primary: '#5A2A6B',
    'on-primary': '#FFFCF6',
    spark: '#F0B02E',
    'on-spark': '#2B1E34',
    error: '#9E3B2C',
    'on-error': '#FFFCF6',
    warning: '#9E3B2C',
    success: '#4C6B4A',
    'on-success': '#FFFCF6',
    ...EFFORT,
  },
  variables: {
    'border-color': '#DDD3C2',
    'border-opacity': 1,
    'high-emphasis-opacity': 1,
    'medium-emphasis-opacity': 0.86,
  },
};

/** Follow-along: chalk on dark. */
export const stage: ThemeDefinition = {
  dark: true,
  colors: {
    background: '#1A1220',
    'on-background': '#F8EFE0',
    surface: '#281D30',
    'on-surface': '#F8EFE0',
    'surface-variant': '#F8EFE0',
    'on-surface-variant': '#1A1220',
    line: '#5C4D66',
    soft: '#B9A9BF',
    primary: '#E3C8EE',
    'on-primary': '#1A1220',
    spark: '#F0B02E',
    'on-spark': '#1A1220',
    error: '#F2A797',
    'on-error': '#1A1220',
    warning: '#F2A797',
    success: '#B4D3B1',
    'on-success': '#1A1220',
    ...EFFORT,
  },
  variables: {
    'border-color': '#5C4D66',
    'border-opacity': 1,
    'high-emphasis-opacity': 1,
    'medium-emphasis-opacity': 0.9,
  },
};
