// Run with: jshell --class-path core/target/classes examples/split.jsh
import io.inkwellsplit.address.*;
import io.inkwellsplit.name.*;
import io.inkwellsplit.reading.*;

var name = NameSplitter.standard().split("Ines & Tobias Brandt");
System.out.println(name.text(NamePart.FIRST) + " and " + name.text(NamePart.SECOND_FIRST) + ", both " + name.text(NamePart.LAST));

var address = AddressSplitter.standard().split("445 Industrial Lane Apt B, Grass Valley, CO 05641");
System.out.println(address.text(AddressPart.CITY) + " in " + address.text(AddressPart.STATE));
/exit
