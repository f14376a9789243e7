package io.answerback.desktop.work;

/// Told of everything that is done to the open job.
public interface WorkLog {
    /// Keeps nothing.
    WorkLog NONE = new WorkLog() {
        @Override
        public void done(String what) {}

        @Override
        public void another() {}

        @Override
        public void saved() {}
    };

    /// Something was done.
    ///
    /// @param what what, in words
    void done(String what);

    /// Another job was opened in its place.
    void another();

    /// The job was written to its file, which may be a new one.
    void saved();
}
