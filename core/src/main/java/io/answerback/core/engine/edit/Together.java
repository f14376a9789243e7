package io.answerback.core.engine.edit;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Edited;
import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/// The same change to several points, made and undone as one. Points that refuse it are left out, and it is known
/// why; where every point refuses it, nothing is done.
///
/// @param pointIds the points, in the order in which they are changed
/// @param change the change to one of them
public record Together(List<PointId> pointIds, Function<PointId, Edit> change) {
    public Together {
        pointIds = List.copyOf(pointIds);
    }

    /// A point that refuses the change.
    ///
    /// @param pointId the point
    /// @param why in plain words
    public record LeftOut(PointId pointId, String why) {}

    /// The change to all of them as one edit.
    ///
    /// @param what what is changed, as the undo menu says it, such as "scheme"
    public Edit edit(String what) {
        return new Edit(Text.of("%s of %d points", what, pointIds.size()), this::made);
    }

    private Job made(Job job) {
        List<LeftOut> left = new ArrayList<>();
        Job next = made(job, left);
        if (left.size() == pointIds.size() && !left.isEmpty()) {
            throw new IllegalArgumentException(left.getFirst().why());
        }
        return next;
    }

    private Job made(Job job, List<LeftOut> left) {
        Job next = job;
        for (PointId id : pointIds) {
            switch (change.apply(id).tried(next)) {
                case Edited.Done(Job made) -> next = made;
                case Edited.Refused(String why) -> left.add(new LeftOut(id, why));
            }
        }
        return next;
    }

    /// The points that refuse the change on a job, in their order.
    public List<LeftOut> leftOut(Job job) {
        List<LeftOut> left = new ArrayList<>();
        made(job, left);
        return left;
    }
}
