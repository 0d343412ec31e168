with Ada.Text_IO; use Ada.Text_IO;

procedure Tides is
   type Levels is array (1 .. 6) of Float;
   Today   : constant Levels := (1.2, 2.6, 4.1, 3.3, 1.9, 1.0);
   Highest : Float := Today (1);
   Hour    : Integer := 1;
begin
   for Index in Today'Range loop
      if Today (Index) > Highest then
         Highest := Today (Index);
         Hour := Index;
      end if;
   end loop;
   Put_Line ("High water in hour" & Integer'Image (Hour));
   Put_Line ("Level" & Float'Image (Highest));
end Tides;
