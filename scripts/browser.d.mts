import type { Browser, Page } from '@playwright/test'

export function launch(space?: boolean): Promise<Browser>
export function openJob(page: Page, address: string, job: string, station: string): Promise<void>
