export { CalculatorStation } from './CalculatorStation';
