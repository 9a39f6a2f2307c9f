export { AnelloError, type ErrorData } from './error';
export { CATALOGUE, isErrorCode, type ErrorCode } from './catalogue';
