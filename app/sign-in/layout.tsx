export { ShopLayout as default } from '@/app/server/shop-layout';
