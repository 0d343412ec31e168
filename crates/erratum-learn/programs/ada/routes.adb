with Ada.Text_IO; use Ada.Text_IO;

procedure Routes is
   type Leg is record
      Minutes : Positive;
      Knots   : Float;
   end record;

   type Route is array (Positive range <>) of Leg;

   North : constant Route := ((25, 9.5), (40, 11.0), (15, 6.0));

   function Duration_Of (All_Legs : Route) return Natural is
      Sum : Natural := 0;
   begin
      for Index in All_Legs'Range loop
         Sum := Sum + All_Legs (Index).Minutes;
      end loop;
      return Sum;
   end Duration_Of;

   function Miles (All_Legs : Route) return Float is
      Sum : Float := 0.0;
   begin
      for Index in All_Legs'Range loop
         Sum := Sum + All_Legs (Index).Knots
           * Float (All_Legs (Index).Minutes) / 60.0;
      end loop;
      return Sum;
   end Miles;
begin
   Put_Line ("Minutes:" & Natural'Image (Duration_Of (North)));
   Put_Line ("Miles:" & Integer'Image (Integer (Miles (North))));
end Routes;
