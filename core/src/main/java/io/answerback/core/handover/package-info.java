/// What the client keeps: every section of the pack as tables, and a page in plain words.
package io.answerback.core.handover;
