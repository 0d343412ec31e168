with Ada.Text_IO; use Ada.Text_IO;

procedure Weather is
   type Force is range 0 .. 12;
   type Week is array (1 .. 7) of Force;

   Forecast : constant Week := (3, 5, 8, 9, 6, 4, 2);

   Stormy  : Natural := 0;
   Calmest : Force := Force'Last;
   Sum     : Integer := 0;

   function Word_For (Wind : Force) return String is
   begin
      if Wind <= 3 then
         return "light";
      elsif Wind <= 6 then
         return "fresh";
      else
         return "storm";
      end if;
   end Word_For;

   function May_Sail (Wind : Force) return Boolean is
   begin
      return Wind < 8;
   end May_Sail;
begin
   for Day in Forecast'Range loop
      Put_Line (Integer'Image (Day) & ": " & Word_For (Forecast (Day)));
      if not May_Sail (Forecast (Day)) then
         Stormy := Stormy + 1;
      end if;
      if Forecast (Day) < Calmest then
         Calmest := Forecast (Day);
      end if;
      Sum := Sum + Integer (Forecast (Day));
   end loop;
   Put_Line ("Days in port:" & Natural'Image (Stormy));
   Put_Line ("Calmest:" & Force'Image (Calmest));
   Put_Line ("Mean:" & Integer'Image (Sum / Forecast'Length));
end Weather;
