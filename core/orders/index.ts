export { inQueue, nextOrderNumber, orderSchema, type Order, type OrderState } from './order'
export { reservedOf, withoutReserved } from './reserve'
export { machineQueues, queueGroups, stockNeeds, type QueuedOrder, type QueueGroup, type Turn } from './queue'
