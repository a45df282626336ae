// The media types of documents, as registries name them.

export const DOCUMENT_TYPES = {
  html: 'text/html',
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  odt: 'application/vnd.oasis.opendocument.text',
} as const;
