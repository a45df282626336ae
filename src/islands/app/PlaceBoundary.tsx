// Keeps a fault of one place from emptying the page: the bank and the bench live outside of it and stay as they are.
import { Component, type ReactNode } from 'react';
import { messageOf } from '../parts/message-of';
import { saveAsFile } from './BankMenu';

/** What browsers say when a part of the program can't be fetched: it is gone, or a new version has other parts. */
const NOT_LOADED =
  /dynamically imported module|importing a module script|loading chunk|failed to fetch/i;

type Fault = { notLoaded: boolean };

export class PlaceBoundary extends Component<{ children: ReactNode }, { fault?: Fault }> {
  override state: { fault?: Fault } = {};

  static getDerivedStateFromError(error: unknown): { fault: Fault } {
    const message = messageOf(error, '');
    return { fault: { notLoaded: NOT_LOADED.test(message) } };
  }

  override render(): ReactNode {
    const { fault } = this.state;
    if (!fault) {
      return this.props.children;
    }
    return (
      <div className="empty" role="alert">
        <h1>{fault.notLoaded ? 'This part could not be loaded' : 'This part stopped'}</h1>
        <p>
          {fault.notLoaded
            ? 'The program can’t be reached, or there is a new version of it. Load the page again; what is saved and what waits in Gather is there afterwards.'
            : 'A fault of the program’s own. Your questions are safe: go to another place, or load the page again.'}
        </p>
        <p>
          <button type="button" className="button main" onClick={() => location.reload()}>
            Load the page again
          </button>{' '}
          <button
            type="button"
            className="button"
            onClick={() => this.setState({ fault: undefined })}
          >
            Try once more
          </button>{' '}
          <button type="button" className="button" onClick={saveAsFile}>
            Save this bank as a file
          </button>
        </p>
      </div>
    );
  }
}
