/** The frame of the student's pages: no bar of the instructor's, light or dark, two languages, the page without a connection too. */
import { useEffect } from 'react';
import { Outlet } from 'react-router';

export function StudentShell() {
  useEffect(() => {
    // Keeps what the page is made of on the device, so that it opens without a connection.
    if ('serviceWorker' in navigator) void navigator.serviceWorker.register('/offline.js').catch(() => undefined);
  }, []);
  return <Outlet />;
}
