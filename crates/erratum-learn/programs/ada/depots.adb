with Ada.Text_IO; use Ada.Text_IO;

procedure Depots is
   Size : constant Positive := 3;

   type Stock is array (1 .. Size) of Natural;

   type Depot is record
      Crates : Stock;
      Locked : Boolean;
   end record;

   North : Depot := (Crates => (10, 4, 7), Locked => False);
   South : Depot := (Crates => (2, 0, 5), Locked => True);

   function Total (One : Depot) return Natural is
      Sum : Natural := 0;
   begin
      for Index in One.Crates'Range loop
         Sum := Sum + One.Crates (Index);
      end loop;
      return Sum;
   end Total;

   procedure Move (From, To : in out Depot; Index, Count : Positive) is
      Moved : Natural := Count;
   begin
      if To.Locked then
         Put_Line ("The depot is locked");
         return;
      end if;
      if From.Crates (Index) < Moved then
         Moved := From.Crates (Index);
      end if;
      From.Crates (Index) := From.Crates (Index) - Moved;
      To.Crates (Index) := To.Crates (Index) + Moved;
   end Move;
begin
   Move (North, South, 1, 4);
   South.Locked := False;
   Move (North, South, 1, 4);
   Move (North, South, 2, 9);
   Put_Line ("North:" & Natural'Image (Total (North)));
   Put_Line ("South:" & Natural'Image (Total (South)));
end Depots;
