with Ada.Text_IO; use Ada.Text_IO;

procedure Berths is
   type Berth is record
      Number : Positive;
      Length : Float;
      Free   : Boolean;
   end record;

   type Quay is array (1 .. 4) of Berth;

   South : Quay := ((1, 12.0, True), (2, 30.0, False),
                    (3, 24.5, True), (4, 9.0, True));

   function Find (Needed : Float) return Natural is
   begin
      for Index in South'Range loop
         if South (Index).Free and then South (Index).Length >= Needed then
            return South (Index).Number;
         end if;
      end loop;
      return 0;
   end Find;

   Place : Natural;
begin
   Place := Find (20.0);
   if Place = 0 then
      Put_Line ("No berth is free");
   else
      Put_Line ("Moor at berth" & Natural'Image (Place));
      South (Place).Free := False;
   end if;
   Put_Line ("Next:" & Natural'Image (Find (20.0)));
end Berths;
