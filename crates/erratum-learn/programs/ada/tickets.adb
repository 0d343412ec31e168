with Ada.Text_IO; use Ada.Text_IO;

procedure Tickets is
   type Zone is (Inner, Middle, Outer);

   Prices : constant array (Zone) of Float := (2.5, 4.0, 6.5);

   function Price (Where : Zone; Day : Boolean) return Float is
      Result : Float := Prices (Where);
   begin
      if Day then
         Result := Result * 2.0;
      end if;
      return Result;
   end Price;

   procedure Show (Where : Zone; Day : Boolean) is
      Cents : constant Integer := Integer (Price (Where, Day) * 100.0);
   begin
      Put_Line (Zone'Image (Where) & Integer'Image (Cents) & " cents");
   end Show;
begin
   for Where in Zone loop
      Show (Where, False);
   end loop;
   Show (Outer, True);
end Tickets;
