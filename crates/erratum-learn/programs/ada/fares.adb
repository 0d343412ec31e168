with Ada.Text_IO; use Ada.Text_IO;

procedure Fares is
   Single : constant Integer := 4;

   function Fare (Adults, Children : Natural) return Integer is
      Sum : Integer := Adults * Single;
   begin
      Sum := Sum + Children * Single / 2;
      if Adults + Children > 10 then
         Sum := Sum - 5;
      end if;
      return Sum;
   end Fare;
begin
   Put_Line ("A family pays" & Integer'Image (Fare (2, 3)));
   Put_Line ("A class pays" & Integer'Image (Fare (2, 24)));
end Fares;
