import { makePricer, type PriceRequest } from './pricing'

const price = makePricer((message) => self.postMessage(message), 40)
self.onmessage = ({ data }: MessageEvent<PriceRequest>): void => price(data)
