with Ada.Text_IO; use Ada.Text_IO;

procedure Bookings is
   Full : exception;

   Seats : constant Positive := 40;
   Taken : Natural := 0;

   procedure Book (Places : Positive; Under : String) is
   begin
      if Taken + Places > Seats then
         raise Full;
      end if;
      Taken := Taken + Places;
      Put_Line (Under & " has" & Positive'Image (Places) & " seats");
   end Book;

   function Left return Natural is
   begin
      return Seats - Taken;
   end Left;

   procedure Try (Places : Positive; Under : String) is
   begin
      Book (Places, Under);
   exception
      when Full =>
         Put_Line (Under & " waits,"
                   & Natural'Image (Left) & " seats are left");
   end Try;
begin
   Try (12, "Aune");
   Try (20, "Brede");
   Try (15, "Ciel");
   Try (8, "Dag");
   if Left = 0 then
      Put_Line ("The boat is full");
   end if;
end Bookings;
