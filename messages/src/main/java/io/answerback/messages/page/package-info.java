/// The list of a walk as a page on a phone in the site network.
package io.answerback.messages.page;
