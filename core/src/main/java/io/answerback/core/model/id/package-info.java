/// What the parts of a job are known by: a type for each sort of part, so that the number of a point is never
/// taken for that of a cable. An id is not what a person calls the part: a name may change, an id stays.
package io.answerback.core.model.id;
