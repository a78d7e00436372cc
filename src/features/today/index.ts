export { LazyTodayStation as TodayStation } from './LazyTodayStation';
