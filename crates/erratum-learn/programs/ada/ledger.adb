with Ada.Text_IO; use Ada.Text_IO;
with Ada.Integer_Text_IO; use Ada.Integer_Text_IO;

procedure Ledger is
   type Kind is (Sale, Refund, Fuel);

   type Line is record
      Sort  : Kind;
      Euros : Natural;
   end record;

   type Page is array (Positive range <>) of Line;

   Today : constant Page :=
     ((Sale, 120), (Fuel, 300), (Sale, 95), (Refund, 12), (Sale, 240));

   Balance : Integer := 0;
   Largest : Natural := 0;

   procedure Post (Entry_Line : Line) is
   begin
      case Entry_Line.Sort is
         when Sale =>
            Balance := Balance + Entry_Line.Euros;
            if Entry_Line.Euros > Largest then
               Largest := Entry_Line.Euros;
            end if;
         when Refund | Fuel =>
            Balance := Balance - Entry_Line.Euros;
      end case;
   end Post;
begin
   for Index in Today'Range loop
      Post (Today (Index));
      Put (Balance, Width => 6);
      New_Line;
   end loop;
   Put_Line ("Largest sale:" & Natural'Image (Largest));
   if Balance < 0 then
      Put_Line ("The line loses money");
   else
      Put_Line ("The line earns money");
   end if;
end Ledger;
