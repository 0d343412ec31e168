-- Accounts of the harbour office.
module Main where

data Entry = Entry
  { day :: Int
  , text :: String
  , amount :: Double
  } deriving (Show, Eq)

data Account = Account
  { owner :: String
  , limit :: Double
  , entries :: [Entry]
  }

balance :: Account -> Double
balance account = sum (map amount (entries account))

book :: Entry -> Account -> Either String Account
book entry account
  | balance account + amount entry < negate (limit account) = Left "the limit is reached"
  | otherwise = Right account { entries = entry : entries account }

report :: Account -> String
report account = unlines (owner account : map line (reverse (entries account)))
  where
    line entry = show (day entry) ++ ": " ++ text entry ++ " " ++ show (amount entry)

main :: IO ()
main = do
  let office = Account "Harbour office" 100 []
  case book (Entry 1 "berth fees" 320.5) office of
    Left problem -> putStrLn problem
    Right better -> putStr (report better)
