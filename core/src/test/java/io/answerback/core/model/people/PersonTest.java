package io.answerback.core.model.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.PeopleEdits;
import io.answerback.core.model.id.PersonId;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// How people are reached, and the edits that say of what they are told.
class PersonTest {
    private static final PersonId P1 = new PersonId("P1");
    private static final PersonId P2 = new PersonId("P2");

    private final Job one = PeopleEdits.add("Manager").on(SmallJob.job());

    private static Person person(Job job, PersonId id) {
        return job.communicator().people().stream()
                .filter(its -> its.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Person nobody() {
        return Person.called(P1, "Manager");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "manager",
                "manager@",
                "@site.example",
                "a b@site.example",
                "a@b@site.example",
                "a@site.example;b@site.example",
                "a@si te"
            })
    void whatIsNoMailAddressIsRefused(String typed) {
        assertThatThrownBy(() -> nobody().withMail(typed))
                .hasMessageContaining("mail address of Manager is \"" + typed)
                .hasMessageContaining("write it as name@example.com");
    }

    @ParameterizedTest
    @ValueSource(strings = {"0142", "990001", "+12345", "+1234567890123456", "+99 call me", "++9900000001"})
    void aNumberWithoutCountryCodeIsRefused(String typed) {
        assertThatThrownBy(() -> nobody().withPhone(typed)).hasMessageContaining("write + and the country code first");
    }

    @Test
    void addressesAreKeptAsTheyAreUsed() {
        assertThat(nobody().withMail(" duty.manager+alarm@site.example ").mail())
                .isEqualTo("duty.manager+alarm@site.example");
        assertThat(nobody().withPhone("+999 (0) 00-00 142").phone()).isEqualTo("+99900000142");
        assertThat(nobody().withPhone("").hasPhone()).isFalse();
        assertThatThrownBy(() -> nobody().withName(" ")).hasMessageContaining("name of person P1");
    }

    @ParameterizedTest
    @CsvSource({
        "false,false,NONE",
        "true,false,NONE MAIL NONE",
        "false,true,NONE TEXT NONE",
        "true,true,NONE MAIL TEXT BOTH NONE"
    })
    void pressesGoThroughTheWaysThatLeadSomewhere(boolean mail, boolean phone, String ways) {
        List<Notice> expected = Stream.of(ways.split(" ")).map(Notice::valueOf).toList();
        List<Notice> seen = Stream.iterate(Notice.NONE, its -> its.next(mail, phone))
                .limit(expected.size())
                .toList();
        assertThat(seen).isEqualTo(expected);
        assertThat(Notice.BOTH.next(false, false)).isEqualTo(Notice.NONE);
    }

    @Test
    void aCellIsRefusedUntilSomethingReachesThePerson() {
        assertThatThrownBy(() -> PeopleEdits.nextNotice(P1, EventGroup.ALARM).on(one))
                .hasMessage("nothing reaches Manager yet; give a mail address or a phone number first");
        Job reached = PeopleEdits.of(P1, "mail address", its -> its.withMail("m@site.example"))
                .on(one);
        Job told = PeopleEdits.nextNotice(P1, EventGroup.ALARM).on(reached);
        assertThat(person(told, P1).told()).isEqualTo(Map.of(EventGroup.ALARM, Notice.MAIL));
        Job again = PeopleEdits.nextNotice(P1, EventGroup.ALARM).on(told);
        assertThat(person(again, P1).told()).isEmpty();
    }

    @Test
    void peopleAreAddedChangedAndRemovedWithoutTouchingOneAnother() {
        Job two = PeopleEdits.add("Caretaker").on(one);
        Job renamed = PeopleEdits.of(P2, "name", its -> its.withName("Night caretaker"))
                .on(two);
        assertThat(renamed.communicator().people())
                .extracting(Person::name)
                .containsExactly("Manager", "Night caretaker");
        Job removed = PeopleEdits.remove(P1).on(renamed);
        assertThat(removed.communicator().people()).extracting(Person::id).containsExactly(P2);
        assertThat(person(PeopleEdits.add("Owner").on(removed), P1).name()).isEqualTo("Owner");
        assertThatThrownBy(() -> PeopleEdits.remove(P1).on(removed)).hasMessage("there is no person P1 in this job");
        assertThat(removed.communicator().paths()).isEqualTo(one.communicator().paths());
    }
}
