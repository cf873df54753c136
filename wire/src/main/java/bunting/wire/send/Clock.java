package bunting.wire.send;

import java.util.concurrent.locks.LockSupport;

/** The time, and waiting for it. */
public interface Clock {
  /** Nanoseconds since some moment. */
  long nanos();

  /** Waits until then, or less if the thread is told to go on. */
  void waitUntil(long nanos);

  /** The machine's. */
  Clock MACHINE =
      new Clock() {
        @Override
        public long nanos() {
          return System.nanoTime();
        }

        @Override
        public void waitUntil(long nanos) {
          LockSupport.parkNanos(nanos - System.nanoTime());
        }
      };
}
