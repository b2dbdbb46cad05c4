'use client';

export default function Failed({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto grid min-h-full max-w-xl content-center gap-4 p-6">
      <h1 className="text-3xl font-bold">This page could not be shown</h1>
      <p>What you entered is kept on this device and is sent when the server answers again.</p>
      <p>
        <button type="button" className="btn btn-main" onClick={reset}>
          Try again
        </button>
      </p>
    </main>
  );
}
