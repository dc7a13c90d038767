export { inQueue, nextOrderNumber, ORDER_STATES, orderSchema, type Order, type OrderState } from './order'
export { reservedOf, withoutReserved, type Reserved } from './reserve'
export {
  machineQueues,
  queueGroups,
  stockNeeds,
  type MachineQueue,
  type QueuedOrder,
  type QueueGroup,
  type StockNeed,
  type Turn,
} from './queue'
