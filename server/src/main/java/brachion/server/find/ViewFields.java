package brachion.server.find;

import brachion.server.storage.Absent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A view of the records that is worth keeping.
 *
 * @param name    what it is called
 * @param find    which records it shows, and in what order
 * @param rows    key of the fact they are counted by; null where they stand in a list
 * @param columns key of a second fact they are counted by; null for none
 */
record ViewFields(@NotBlank(message = "Give the view a name.") @Size(max = 80, message = "A name may be up to 80 characters long.") String name,
                  @NotNull @Valid FindFields find, @Size(max = 60) String rows, @Size(max = 60) String columns) {

    /** A name is the same with blanks around it. */
    ViewFields {
        name = Absent.given(name);
    }
}
