// The styles that dialogs make to hold the page behind them still are allowed by the nonce of this page.
// Their library looks for it under this name.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content;
(globalThis as { __webpack_nonce__?: string | undefined }).__webpack_nonce__ = nonce;

export {};
