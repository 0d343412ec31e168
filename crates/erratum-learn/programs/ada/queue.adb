with Ada.Text_IO; use Ada.Text_IO;

procedure Queue is
   Places  : constant Integer := 5;
   Waiting : Integer := 12;
   Trips   : Integer := 0;
begin
   while Waiting > 0 loop
      if Waiting > Places then
         Waiting := Waiting - Places;
      else
         Waiting := 0;
      end if;
      Trips := Trips + 1;
      Put_Line ("After trip" & Integer'Image (Trips)
                & " there wait" & Integer'Image (Waiting));
   end loop;
   Put_Line ("Trips:" & Integer'Image (Trips));
end Queue;
