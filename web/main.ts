import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { createAppRouter } from './router.ts';
import './theme/base.css';
import { vuetify } from './theme/vuetify.ts';

createApp(App).use(createPinia()).use(createAppRouter()).use(vuetify).mount('#app');
