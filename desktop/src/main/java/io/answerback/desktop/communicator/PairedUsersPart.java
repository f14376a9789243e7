package io.answerback.desktop.communicator;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming.User;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Under whose name setting and unsetting is reported, where panel and communicator number users apart.
final class PairedUsersPart {
    List<Part> parts(Job job) {
        List<User> users = job.setup().users();
        if (users.stream().allMatch(user -> user.elsewhere().isEmpty())) {
            return List.of();
        }
        List<Part> parts = new ArrayList<>(List.of(Words.title("Users paired")));
        for (User user : users) {
            user.elsewhere().ifPresent(number -> parts.add(line(users, user, number)));
        }
        return parts;
    }

    private static Part line(List<User> users, User user, int number) {
        boolean same = number == user.number();
        return Group.row(
                        Marks.of(same ? Mark.SOUND : Mark.WRONG, same ? "same number" : "another number"),
                        Group.column(
                                        Words.wrapped(user.title()),
                                        Words.wrapped(Words.quiet("panel %02d, communicator %02d: %s"
                                                .formatted(user.number(), number, reported(users, user, number)))))
                                .growing())
                .style("marked-row");
    }

    private static String reported(List<User> users, User user, int number) {
        if (number == user.number()) {
            return "reported as themselves";
        }
        return users.stream()
                .filter(other -> other.number() == number)
                .map(User::title)
                .findFirst()
                .or(() -> Optional.of("user %02d, whom nobody knows".formatted(number)))
                .map(name -> "reported as " + name)
                .orElseThrow();
    }
}
