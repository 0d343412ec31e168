with Ada.Text_IO; use Ada.Text_IO;

procedure Crew is
   type Role is (Captain, Mate, Deckhand);
   type Hours is array (Role) of Natural;

   Worked : Hours := (Captain => 38, Mate => 41, Deckhand => 30);
   Total  : Natural := 0;

   procedure Add (Who : Role; More : Natural) is
   begin
      Worked (Who) := Worked (Who) + More;
   end Add;
begin
   Add (Deckhand, 6);
   Add (Mate, 2);
   for Who in Role loop
      Total := Total + Worked (Who);
      if Worked (Who) > 40 then
         Put_Line (Role'Image (Who) & " has worked too long");
      else
         Put_Line (Role'Image (Who) & Natural'Image (Worked (Who)));
      end if;
   end loop;
   Put_Line ("All together" & Natural'Image (Total));
end Crew;
