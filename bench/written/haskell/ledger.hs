module Main where

⟪⟶import Data.List (sortBy)
⟫import Data.Ord (comparing)

data Entry = Entry { who :: String, cents :: Int }
  deriving (Eq, Show)

balance :: String -> [Entry] -> Int
balance name entries = sum (map cents (filter (\e -> who e ⟪=⟶==⟫ name) entries))

biggest :: [Entry] -> [Entry]
biggest entries = sortBy (comparing (negate . cents)) entries

euros :: Int -> Double
euros c = ⟪c / 100⟶fromIntegral c / 100⟫

line :: Entry -> String
line e = who e ++ ": " ++ show (euros (cents e))

settle :: Int -> Entry -> Entry
settle paid e = e { cents = cents e - ⟪payed⟶paid⟫ }

main :: IO ()
main = do
  let entries = [Entry "Berg" 1250, Entry { who = "Lund", cents = 800 }⟪⟶]⟫
  mapM_ (putStrLn . line) (biggest entries)
  print (balance "Berg" (map (settle 50) entries))
  putStrLn $ "done"
