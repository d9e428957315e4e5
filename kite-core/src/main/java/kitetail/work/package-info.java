/** How long work may go on, and what is worked out once when it is first asked. */
@NullMarked
package kitetail.work;

import org.jspecify.annotations.NullMarked;
