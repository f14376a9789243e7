/// Works out for each core what it is for, which colour the rules give it, and the terminal or joint it goes to.
package io.answerback.core.wiring.cores;
