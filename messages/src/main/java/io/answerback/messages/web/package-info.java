/// What the small web servers of the program have in common: whom they serve, and for how long they wait.
package io.answerback.messages.web;
