package io.answerback.job;

/// One place in the building that is watched.
///
/// @param id the point's number as text, unique in the job, such as "07"
/// @param name what and where, such as "Dock roller door 2"
/// @param kind what sort of thing watches
/// @param loop the parts fitted in its loop
public record Point(String id, String name, PointKind kind, LoopWiring loop) {
    /// @throws IllegalArgumentException when the id or name is blank, or the kind or loop missing
    public Point {
        id = Require.text(id, "point id");
        name = Require.text(name, "point name");
        Require.given(kind, "kind of point");
        Require.given(loop, "loop of point " + id);
    }

    /// The same point with other parts in its loop.
    public Point withLoop(LoopWiring other) {
        return new Point(id, name, kind, other);
    }
}
